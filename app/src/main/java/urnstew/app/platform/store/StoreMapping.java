package urnstew.app.platform.store;

import org.mapstruct.Builder;
import org.mapstruct.MapperConfig;
import org.mapstruct.NullValueMappingStrategy;
import org.mapstruct.ReportingPolicy;
import org.mapstruct.SubclassExhaustiveStrategy;

/**
 * How types of the core and their stored forms are mapped: a part that one has and the other lacks
 * does not compile, in either direction.
 */
@MapperConfig(
    unmappedTargetPolicy = ReportingPolicy.ERROR,
    builder = @Builder(disableBuilder = true),
    implementationName = "Made<CLASS_NAME>",
    nullValueIterableMappingStrategy = NullValueMappingStrategy.RETURN_DEFAULT,
    subclassExhaustiveStrategy = SubclassExhaustiveStrategy.RUNTIME_EXCEPTION)
public interface StoreMapping {}
