package urnstew.app.rules.store;

import org.mapstruct.Mapper;
import urnstew.app.platform.store.StoreMapping;
import urnstew.app.platform.store.UnitsMapping;
import urnstew.core.rules.RuleSet;

/** Rule sets between the core and what is stored of them. */
@Mapper(config = StoreMapping.class, uses = UnitsMapping.class)
public interface RulesMapping {
  StoredRules stored(RuleSet rules);

  RuleSet rules(StoredRules stored);
}
