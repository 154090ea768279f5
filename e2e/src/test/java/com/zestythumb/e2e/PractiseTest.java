package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;

/** Practising a tune in small steps. */
class PractiseTest extends InTheBrowser {

    @Test
    void oneStepAtATimeAndTheNextTimeItGoesOn() {
        openCopyOf("Lantern Walk");
        stage("Practise");
        browser.see(".now h2");
        browser.assertAccessible("practising");
        browser.clickText(".steps button", "Left hand");
        browser.seeText(".now h2", "Left hand");
        browser.clickText(".steps button", "Bass alone");
        browser.seeText(".now h2", "Bass alone");
        String percent = browser.see(".tempo b").getText();
        browser.clickText(".now button", "Begin");
        browser.see(".drawing .note.sounds");
        // The tune is silent in this step.
        assertThat(browser.all(".drawing .note.sounds").stream().map(note -> note.getDomAttribute("id")))
                .noneMatch(id -> id.startsWith("m"));
        browser.clickText(".now button", "A slip");
        browser.clickText(".now button", "A slip");
        browser.seeText(".tempo b", percent);
        browser.clickText(".now button", "Stop");
        String now = browser.see(".now h2").getText();
        browser.clickText(".now button", "Done");
        String next = browser.await("the next step", () -> {
            String shown = browser.see(".now h2").getText();
            return shown.equals(now) ? null : shown;
        });
        assertThat(browser.all(".steps input:checked")).hasSize(1);
        awaitSaved();
        browser.driver.navigate().refresh();
        browser.seeText(".now h2", next);
        assertThat(browser.all(".steps input:checked")).hasSize(1);
        browser.clickText("a", "A card for the week");
        browser.seeText("tbody th", "Left hand");
        assertThat(browser.all("tbody th").stream().map(WebElement::getText))
                .noneMatch(row -> row.contains("Bass alone"));
        browser.assertAccessible("the week's card");
        browser.driver.navigate().back();
        browser.see(".now h2");
        // What is heard is as it was once the stage is left.
        stage("Look");
        assertThat(browser.all("[aria-label='Loop from bar']").stream().filter(WebElement::isDisplayed))
                .isEmpty();
    }
}
