package urnstew.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application. */
@SpringBootApplication
public class UrnStewApplication {
  public static void main(String[] arguments) {
    SpringApplication.run(UrnStewApplication.class, arguments);
  }
}
