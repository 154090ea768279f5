package com.zestythumb.app.exercise;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Short transactions, for those that read, compute with what they read and hold neither row nor connection meanwhile. */
@Component
class Moments {

    private final TransactionTemplate reading;
    private final TransactionTemplate writing;

    Moments(PlatformTransactionManager transactions) {
        reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        writing = new TransactionTemplate(transactions);
    }

    <T> T read(Supplier<T> work) {
        return reading.execute(status -> work.get());
    }

    <T> T write(Supplier<T> work) {
        return writing.execute(status -> work.get());
    }
}
