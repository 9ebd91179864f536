<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Input\Reader;

/** The register of commands. */
final class Commands
{
    /** @var list<class-string<Command>> */
    public const ALL = [
        CreateLayers::class,
        DuplicateLayers::class,
        MoveLayers::class,
        MoveSection::class,
        PlaceLayers::class,
        AlignLayers::class,
        DistributeLayers::class,
        EvenLayers::class,
        SwapLayers::class,
        TransferLayers::class,
        ReorderLayers::class,
        GroupLayers::class,
        UngroupLayers::class,
        MaskLayers::class,
        ReleaseMasks::class,
        StackLayers::class,
        ArrayLayers::class,
        DetachArrays::class,
        GatherCopies::class,
        EditTogether::class,
        SetCell::class,
        FillCells::class,
        SetFinish::class,
        SetFramed::class,
        PutFonts::class,
        RemoveFonts::class,
        ReplaceFamily::class,
        SetWidget::class,
        WriteWidget::class,
        FillWidget::class,
        ConvertWidgets::class,
        OpenWidgets::class,
        TakeSheet::class,
        AddRows::class,
        RemoveRows::class,
        MoveRow::class,
        PutColumn::class,
        RemoveColumn::class,
        SampleColumn::class,
        ResetOverride::class,
        DeleteLayers::class,
        SetField::class,
        PutField::class,
        ChangePaint::class,
        PlaceGradient::class,
        CombineLayers::class,
        ConvertToPaths::class,
        OutlineStrokes::class,
        MakeIcon::class,
        PutIcons::class,
        RemoveIcon::class,
        OffsetShapes::class,
        MovePoints::class,
        PlacePoints::class,
        ScalePoints::class,
        AlignPoints::class,
        PullHandle::class,
        BendCurve::class,
        AddPoint::class,
        RemovePoints::class,
        ConvertPoints::class,
        CutPath::class,
        JoinPath::class,
        ReversePath::class,
        AddToList::class,
        RemoveFromList::class,
        DuplicateInList::class,
        MoveInList::class,
        SetStyle::class,
        SetWords::class,
        PairText::class,
        RenameLayer::class,
        MarkLayers::class,
        PutCue::class,
        SetCueField::class,
        RemoveCue::class,
        CreateScreen::class,
        MoveScreens::class,
        AlignScreens::class,
        DistributeScreens::class,
        ReorderScreen::class,
        SetScreenField::class,
        DuplicateScreen::class,
        DeleteScreens::class,
        MakeTake::class,
        SwitchTake::class,
        SetTake::class,
        SetCriteria::class,
        CarryLayers::class,
        DeleteTake::class,
        MakeCondition::class,
        SetTracing::class,
        PutEntry::class,
        MoveEntry::class,
        RemoveEntry::class,
        TieEntry::class,
        HangPlan::class,
        SetEntry::class,
        PutGrid::class,
        RemoveGrid::class,
        SetGridField::class,
        MoveGuide::class,
        PutTokens::class,
        RemoveToken::class,
        BindToken::class,
        BindScreens::class,
        MakeToken::class,
        AdoptToken::class,
    ];

    /** @throws \Kindred\Input\InvalidInput */
    public static function read(Reader $in): Command
    {
        $type = $in->string('type', 40);
        foreach (self::ALL as $class) {
            if ($class::type() === $type) {
                return $class::read($in);
            }
        }
        $in->fail('type', "“{$type}” is not a command");
    }
}
