package urnstew.app.balance;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import urnstew.core.balance.Fault;

@RestController
@RequestMapping(path = "/api/balance", produces = MediaType.APPLICATION_JSON_VALUE)
class BalanceController {
  private final BalanceService balance;

  BalanceController(BalanceService balance) {
    this.balance = balance;
  }

  /** What can be wrong, as the screen says it. */
  record FaultView(Fault fault, String words) {}

  @GetMapping("/faults")
  List<FaultView> faults() {
    return Arrays.stream(Fault.values()).map(fault -> new FaultView(fault, fault.words())).toList();
  }

  @PostMapping("/preview")
  BalanceView previewBalance(@Valid @RequestBody BalanceRequest request) {
    return balance.preview(request);
  }
}
