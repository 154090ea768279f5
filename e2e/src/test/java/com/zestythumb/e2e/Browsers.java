package com.zestythumb.e2e;

import java.util.ArrayList;
import java.util.List;

/** Browsers that go from class to class, with what they have read of the scripts: as many as classes run side by side. */
final class Browsers implements AutoCloseable {

    private final List<Browser> idle = new ArrayList<>();

    synchronized Browser take() {
        return idle.isEmpty() ? new Browser() : idle.remove(idle.size() - 1);
    }

    synchronized void giveBack(Browser browser) {
        idle.add(browser);
    }

    @Override
    public synchronized void close() {
        idle.forEach(Browser::close);
        idle.clear();
    }
}
