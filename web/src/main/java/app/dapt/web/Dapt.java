package app.dapt.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application. */
@SpringBootApplication
public class Dapt {

    public static void main(String[] args) {
        SpringApplication.run(Dapt.class, args);
    }
}
