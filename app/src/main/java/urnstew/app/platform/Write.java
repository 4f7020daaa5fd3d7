package urnstew.app.platform;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.transaction.annotation.Transactional;

/**
 * A write: one transaction, tried again up to three times where two of them stood in each other's
 * way and the database undid one.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional
@Retryable(predicate = DatabaseFault.Undone.class, maxRetries = 3, delay = 20, jitter = 15)
public @interface Write {}
