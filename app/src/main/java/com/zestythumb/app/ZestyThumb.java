package com.zestythumb.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application. */
@SpringBootApplication
public class ZestyThumb {

    public static void main(String[] args) {
        SpringApplication.run(ZestyThumb.class, args);
    }
}
