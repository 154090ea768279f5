package com.zestythumb.app.tune;

import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/** Before the first request is answered, the shelf knows what it shows. */
@Component
class FactsAtStart implements SmartInitializingSingleton {

    private final Tunes tunes;

    FactsAtStart(Tunes tunes) {
        this.tunes = tunes;
    }

    @Override
    public void afterSingletonsInstantiated() {
        tunes.computeFacts();
    }
}
