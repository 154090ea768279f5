package com.zestythumb.e2e;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.zip.GZIPOutputStream;

/** How long a person waits: first load, and from the last keystroke to the new engraving. */
final class PageSpeed {

    private static final int KEYSTROKES = 60;

    private static final String CHART = "title: Speed\nkey: C major\nmeter: 4/4\n\n"
            + "| C / Am / | F G7 | C | F |\n| Dm7 | G7 | C/E | C |\n".repeat(3)
            + "| C / Am / | F G7 | C | F |\n| Dm7 | G7 | C/E | C6 |";

    private PageSpeed() {}

    public static void main(String[] args) throws Exception {
        try (RunningApp app = RunningApp.withDemo("speed");
                Browser browser = new Browser()) {
            // A warm server: it has answered everything once.
            browser.open(app.address());
            browser.clickText(".tune", "Paper Boats");
            browser.see(".drawing .note");
            String lesson = browser.driver.getCurrentUrl();
            firstLoad(app, lesson);
            initialScripts(app, lesson);
            keystrokes(browser);
        }
    }

    private static void firstLoad(RunningApp app, String lesson) {
        for (String address : List.of(app.address(), lesson)) {
            try (Browser fresh = new Browser()) {
                long start = System.nanoTime();
                fresh.open(address);
                fresh.see(address.equals(lesson) ? ".drawing .note" : ".tune");
                System.out.printf(
                        "first load of %s with an empty cache: %d ms%n",
                        address.equals(lesson) ? "the lesson, engraved" : "the shelf",
                        (System.nanoTime() - start) / 1_000_000);
            }
        }
    }

    /** Every script the lesson has loaded before anything is engraved or played, by its size packed. */
    private static void initialScripts(RunningApp app, String lesson) throws IOException, InterruptedException {
        try (Browser fresh = new Browser()) {
            fresh.open(lesson);
            fresh.see(".drawing .note");
            List<?> scripts = (List<?>)
                    fresh.script(
                            "return performance.getEntriesByType('resource').map(e => e.name).filter(n => n.endsWith('.js') && !n.includes('worker'))");
            int packed = 0;
            for (Object script : scripts) {
                byte[] body = HttpClient.newHttpClient()
                        .send(
                                HttpRequest.newBuilder(URI.create((String) script))
                                        .build(),
                                BodyHandlers.ofByteArray())
                        .body();
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
                    gzip.write(body);
                }
                packed += out.size();
            }
            System.out.printf(
                    "initial scripts of the lesson: %d files, %.0f kB packed%n", scripts.size(), packed / 1000.0);
        }
    }

    private static void keystrokes(Browser browser) {
        browser.choose("figure", "Alberti");
        browser.type(CHART);
        browser.await("32 bars", () -> browser.all(".drawing .measure").size() == 32 ? true : null);
        List<Double> waits = new ArrayList<>();
        for (int i = 0; i < KEYSTROKES; i++) {
            String chord = i % 2 == 0 ? "Cm" : "C6";
            // From the browser's own clock: the last key, and the frame after the drawing that shows it.
            browser.script("""
                    const chord = arguments[0];
                    window.typed = null; window.drawn = null;
                    const page = document.querySelector('.drawing');
                    if (!window.listening) {
                      window.listening = true;
                      document.querySelector('.cm-content')
                        .addEventListener('keydown', () => (window.typed = performance.now()), {capture: true});
                    }
                    new MutationObserver((_, observer) => {
                      const last = [...page.querySelectorAll('.harm')].at(-1).textContent.trim();
                      if (last !== chord) return;
                      observer.disconnect();
                      requestAnimationFrame(() => (window.drawn = performance.now()));
                    }).observe(page, {childList: true, subtree: true});
                    """, chord);
            browser.press("\b".repeat(4) + chord + " |");
            Number wait = browser.await("a new drawing", () -> (Number)
                    browser.script("return window.drawn && window.typed ? window.drawn - window.typed : null"));
            waits.add(wait.doubleValue());
        }
        Collections.sort(waits);
        System.out.printf(
                "keystroke to new engraving of 32 bars, %d times: p50 %.0f ms, p95 %.0f ms%n",
                KEYSTROKES, waits.get(KEYSTROKES / 2), waits.get((int) (KEYSTROKES * 0.95)));
    }
}
