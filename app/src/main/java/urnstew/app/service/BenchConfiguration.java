package urnstew.app.service;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import urnstew.core.bench.Bench;
import urnstew.core.bench.Constructive;
import urnstew.solver.CpSatScheduler;

/** The solver, where this machine can load it: with the first service, not with the application. */
@Configuration(proxyBeanMethods = false)
class BenchConfiguration {
  @Bean
  @Lazy
  Bench bench() {
    return new Bench(CpSatScheduler.loaded(), new Constructive());
  }
}
