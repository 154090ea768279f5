package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.JavascriptException;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.support.ui.FluentWait;

/** Debian's Chromium without a display, driven in a lesson's words. */
final class Browser implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(30);

    final ChromeDriver driver;
    final Path downloads;

    Browser() {
        try {
            downloads = Files.createTempDirectory("zesty-downloads");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-dev-shm-usage",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--autoplay-policy=no-user-gesture-required",
                "--hide-scrollbars",
                // Nothing is drawn long enough to earn what the second compiler costs.
                "--js-flags=--liftoff-only",
                "--window-size=1280,800");
        options.setExperimentalOption(
                "prefs",
                Map.of("download.default_directory", downloads.toString(), "download.prompt_for_download", false));
        options.setCapability("goog:loggingPrefs", Map.of(LogType.BROWSER, "ALL"));
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                .build();
        driver = new ChromeDriver(service, options);
        size(1280, 800);
        // Lists that open at once are where a click meets them.
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-reduced-motion", "value", "reduce"))));
    }

    /** Leaves the page, and what pages of this address kept here. */
    void forget(String address) {
        // A page of the same address: it keeps the browser's process, and what that has read of the scripts.
        driver.get(address + "icon.svg");
        driver.executeCdpCommand(
                "Storage.clearDataForOrigin",
                Map.of("origin", address.replaceAll("/$", ""), "storageTypes", "local_storage,cookies,indexeddb"));
        size(1280, 800);
        refusals();
        try (Stream<Path> files = Files.list(downloads)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** From a lesson back to the shelf, and nothing is kept here: within the page, for loading it anew costs more than most tests. */
    boolean leavesTheLesson(String address) {
        size(1280, 800);
        boolean leaves = Boolean.TRUE.equals(script("""
                if (!location.href.startsWith(arguments[0] + 'tunes/')) return false;
                history.pushState({}, '', '/');
                dispatchEvent(new PopStateEvent('popstate'));
                return true;
                """, address));
        if (leaves) {
            see(".tune");
            script("localStorage.clear()");
        }
        return leaves;
    }

    /** What the browser refused to load or run since it was last asked. */
    List<String> refusals() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .map(LogEntry::getMessage)
                .filter(message -> message.contains("Content Security Policy"))
                .toList();
    }

    /** Sets the size of the page itself, whatever frame the window has. */
    void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        driver.manage().window().setSize(new Dimension(width, height));
    }

    void open(String address) {
        driver.get(address);
    }

    WebElement see(String css) {
        return await(css, () -> shown(css, ""));
    }

    WebElement seeText(String css, String text) {
        return await(css + " with \"" + text + "\"", () -> shown(css, text));
    }

    /** The first that is shown and holds the text, looked for by the page itself for a while: asking it from here, element by element, costs most of a test's time. */
    private WebElement shown(String css, String text) {
        return (WebElement) driver.executeAsyncScript("""
                const [css, text, done] = arguments;
                const until = performance.now() + 2000;
                const isShown = (element) => {
                  const {width, height} = element.getBoundingClientRect();
                  return width + height > 0 && element.checkVisibility({opacityProperty: true, visibilityProperty: true});
                };
                (function look() {
                  const found = [...document.querySelectorAll(css)].find((element) =>
                    isShown(element) && (element.innerText ?? element.textContent).includes(text));
                  if (found || performance.now() > until) done(found ?? null);
                  else setTimeout(look, 30);
                })();
                """, css, text);
    }

    void seeNo(String css) {
        await("no " + css, () -> all(css).isEmpty() ? true : null);
    }

    List<WebElement> all(String css) {
        return driver.findElements(By.cssSelector(css));
    }

    <T> T await(String what, Supplier<T> condition) {
        return new FluentWait<>(driver)
                .withTimeout(PATIENCE)
                .pollingEvery(Duration.ofMillis(50))
                .ignoring(NoSuchElementException.class)
                .ignoring(StaleElementReferenceException.class)
                // The page was left while it was looked at.
                .ignoring(JavascriptException.class)
                .withMessage("waiting for " + what)
                .until(d -> condition.get());
    }

    void click(String css) {
        clickText(css, "");
    }

    /** Looked for again where the page has drawn it anew between the look and the press. */
    void clickText(String css, String text) {
        await("a press on " + css + " with \"" + text + "\"", () -> {
            WebElement found = shown(css, text);
            if (found != null) {
                found.click();
            }
            return found;
        });
    }

    /** Chooses an entry of a drop-down list. */
    void choose(String label, String entry) {
        click("[role=combobox][aria-label='" + label + "'], #" + label);
        await("entry " + entry, () -> script("""
                const found = [...document.querySelectorAll('[role=option]')]
                  .find((option) => option.innerText.trim() === arguments[0]);
                found?.scrollIntoView({block: 'nearest'});
                return found;
                """, entry) instanceof WebElement option ? pressed(option) : null);
        seeNo("[role=option]");
    }

    private static boolean pressed(WebElement element) {
        element.click();
        return true;
    }

    /** Unfolds the chart, which gives way to the music where nobody writes. */
    void showChart() {
        await("the chart", () -> {
            if (all(".cm-content").isEmpty()) {
                all("[aria-label='Show the chart']").forEach(WebElement::click);
            }
            return all(".cm-content").isEmpty() ? null : true;
        });
    }

    /** Replaces the chart's text at once, as by pasting: key by key each would be arranged and engraved. */
    void type(String chart) {
        showChart();
        click(".cm-content");
        pressWithControl("a");
        driver.executeCdpCommand("Input.insertText", Map.of("text", chart));
    }

    void pressWithControl(String key) {
        new Actions(driver)
                .keyDown(Keys.CONTROL)
                .sendKeys(key)
                .keyUp(Keys.CONTROL)
                .perform();
    }

    void press(CharSequence keys) {
        new Actions(driver).sendKeys(keys).perform();
    }

    Object script(String script, Object... args) {
        return ((JavascriptExecutor) driver).executeScript(script, args);
    }

    /** The pitches written on the page, as the server gave their places: one string to compare. */
    String engravedNotes() {
        return (String) script("""
                return [...document.querySelectorAll('.drawing .note')]
                  .map(note => note.id + '@' + Math.round(note.getBoundingClientRect().top)).join(' ');
                """);
    }

    /** A file that the page hands over, once it is there. */
    Path downloaded(String name) {
        Path file = downloads.resolve(name);
        return await(name, () -> Files.exists(file) && file.toFile().length() > 0 ? file : null);
    }

    /** No finding of serious or critical impact (axe-core, WCAG 2 AA). */
    void assertAccessible(String view) {
        try {
            script(Files.readString(RunningApp.ROOT.resolve("web/node_modules/axe-core/axe.min.js")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Object violations = driver.executeAsyncScript("""
                const done = arguments[arguments.length - 1];
                // Colours on the move would be judged half way.
                Promise.all(document.getAnimations().map(a => a.finished.catch(() => {})))
                  .then(() => axe.run(document, {resultTypes: ['violations']}))
                  .then(result => done(result.violations.filter(v => ['serious', 'critical'].includes(v.impact))
                    .map(v => v.id + ': ' + v.nodes.map(n => n.html.slice(0, 160) + ' ' + n.failureSummary).join('\\n'))));
                """);
        assertThat((List<?>) violations).as(view).isEmpty();
    }

    void picture(Path file) {
        try {
            Files.createDirectories(file.getParent());
            Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        driver.quit();
    }
}
