package com.zestythumb.app.studio;

import org.springframework.stereotype.Service;

/** Finds the studio of whoever asks. */
@Service
public class Studios {

    private final StudioRepository studios;

    /** It never changes while the app runs, and every request asks for it. */
    private volatile Studio only;

    Studios(StudioRepository studios) {
        this.studios = studios;
    }

    /** The one studio there is until accounts come. */
    public Studio current() {
        if (only == null) {
            only = studios.findFirstByOrderById()
                    .orElseThrow(() -> new IllegalStateException("the database holds no studio"));
        }
        return only;
    }

    /** Until the transaction ends nobody else in this studio gets past here: for what needs to see all of it stand still. */
    public void oneAfterAnother() {
        studios.lock(current());
    }
}
