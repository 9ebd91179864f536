{{-- The drawer of the house style on a page that is no wall. --}}
@php($houseUrls = ['edits' => route('edits', $project), 'token' => route('token'), 'undo' => route('undo', $project), 'redo' => route('redo', $project), 'house' => route('house', $project), 'houseRead' => route('house.read', $project), 'inventory' => route('inventory', $project), 'merge' => route('inventory.merge', $project), 'scheme' => route('scheme', $project), 'libraries' => route('libraries', $project), 'wall' => route('wall', $project)])
<section id="house" class="beside" aria-labelledby="house-title" data-urls="{{ json_encode($houseUrls) }}" data-pending="{{ $project->id }}-{{ $project->user_id }}" data-sequence="{{ $project->sequence }}" hidden></section>
@include('house.dialogs')
