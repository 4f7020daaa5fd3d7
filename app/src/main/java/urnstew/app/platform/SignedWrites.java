package urnstew.app.platform;

import java.util.Arrays;
import java.util.UUID;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.transaction.annotation.EnableTransactionManagement;

/**
 * Tells the database, within the transaction of every {@link Write}, who writes: what is changed
 * there is noted under that name, see table {@code change}.
 */
@Configuration
@EnableTransactionManagement(order = SignedWrites.AROUND)
class SignedWrites {
  /** The transaction is around the signature. */
  static final int AROUND = Ordered.LOWEST_PRECEDENCE - 1;

  @Bean
  @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
  static DefaultPointcutAdvisor signature(ObjectProvider<Signatures> signatures) {
    DefaultPointcutAdvisor advisor =
        new DefaultPointcutAdvisor(
            AnnotationMatchingPointcut.forMethodAnnotation(Write.class),
            (MethodInterceptor) write -> signed(write, signatures.getObject()));
    advisor.setOrder(Ordered.LOWEST_PRECEDENCE);
    return advisor;
  }

  private static @Nullable Object signed(MethodInvocation write, Signatures signatures)
      throws Throwable {
    Actor actor =
        Arrays.stream(write.getArguments())
            .filter(Actor.class::isInstance)
            .map(Actor.class::cast)
            .findFirst()
            .orElseThrow(() -> new IllegalStateException(write.getMethod() + " has no actor"));
    signatures.sign(actor.name(), actor.device().map(UUID::toString).orElse(""));
    return write.proceed();
  }

  /** Says who writes in this transaction. */
  @Mapper
  interface Signatures {
    @Select(
        """
        select set_config('urnstew.actor', #{name}, true)
          || set_config('urnstew.device', #{device}, true)
        """)
    String sign(String name, String device);
  }
}
