/** Longer addresses than this are asked as a form: web servers take 8 kB of them, and a selection may be of thousands. */
const LONGEST = 4000;

/** Asks for what an address names, however much its query says. */
export function ask(url: string, init: RequestInit & { headers: Record<string, string> }): Promise<Response> {
    const at = url.indexOf('?');
    return url.length <= LONGEST || at < 0 || (init.method ?? 'GET') !== 'GET' ? fetch(url, init)
        : fetch(url.slice(0, at), { ...init, method: 'POST', headers: { ...init.headers, 'Kindred-Question': '1', 'Content-Type': 'application/x-www-form-urlencoded' }, body: url.slice(at + 1) });
}
