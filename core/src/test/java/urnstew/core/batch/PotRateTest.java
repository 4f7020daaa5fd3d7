package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PotRateTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {"1.2;1.2", "1.2 1.4;1.3", "1.1 9 1.2;1.2", "1.4 1.1 0.2 1.2;1.15"})
  void theMiddleIsNotMovedByOneThatWentAstray(String factors, double middle) {
    List<Double> all = Arrays.stream(factors.split(" ")).map(Double::valueOf).toList();
    assertEquals(middle, PotRate.typicalFactor(all), 1e-12);
  }
}
