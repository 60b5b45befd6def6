package notchbook.e2e;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** Says with a journey that failed what its screens showed then, and what the browser complained of. */
public final class WhatWasShown implements TestExecutionExceptionHandler {
    private static final int ENOUGH = 3_000;

    @Override
    public void handleTestExecutionException(ExtensionContext test, Throwable failure) throws Throwable {
        for (var chrome : Chrome.open()) {
            chrome.pages().forEach(page -> failure.addSuppressed(new AssertionError(shownOn(page))));
            chrome.complaints().forEach(complaint -> failure.addSuppressed(new AssertionError(complaint)));
        }
        throw failure;
    }

    private static String shownOn(Page page) {
        var words = page.locator("body").innerText();
        return "%s showed:\n%s".formatted(page.url(), words.substring(0, Math.min(ENOUGH, words.length())));
    }
}
