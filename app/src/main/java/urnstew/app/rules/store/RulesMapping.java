package urnstew.app.rules.store;

import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.core.rules.CookedTo;
import urnstew.core.rules.RuleSet;

/** Rule sets between the core and what is stored of them. */
@Mapper(config = StoreMapping.class, uses = UnitsMapping.class)
public interface RulesMapping {
  StoredRules stored(RuleSet rules);

  RuleSet rules(StoredRules stored);

  @Mapping(source = "heldFor", target = "kept")
  StoredRules.CookedTo stored(CookedTo row);

  @Mapping(source = "kept", target = "heldFor")
  CookedTo row(StoredRules.CookedTo stored);
}
