package notchbook.e2e;

import java.util.regex.Matcher;

/** How the measures in the browser make the page that they measure. */
final class BenchPage {
    private static final String BEGINNING = """
            const secret = decodeURIComponent(document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN=')).slice(11));
            const put = (path, body) => fetch(path, { method: 'PUT', body: JSON.stringify(body),
              headers: { 'content-type': 'application/json', 'X-XSRF-TOKEN': secret } });
            const book = (await (await fetch('/api/notebooks')).json())[0];
            const section = (await (await fetch('/api/notebooks/' + book.id)).json()).sections.find((one) => one.code === '4.3');
            const page = crypto.randomUUID();
            """;

    private BenchPage() {}

    /** A script that finds {@code put}, {@code book}, {@code section} and the id of a new {@code page} ready to use. */
    static String script(String function) {
        return function.replaceFirst("=> \\{", Matcher.quoteReplacement("=> {\n" + BEGINNING));
    }
}
