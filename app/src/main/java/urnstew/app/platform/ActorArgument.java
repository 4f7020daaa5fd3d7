package urnstew.app.platform;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import urnstew.units.InvalidInput;

/** Gives an operation that writes its {@link Actor}. */
@Component
class ActorArgument implements HandlerMethodArgumentResolver, WebMvcConfigurer {
  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(this);
  }

  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.getParameterType().equals(Actor.class);
  }

  @Override
  public Actor resolveArgument(
      MethodParameter parameter,
      @Nullable ModelAndViewContainer container,
      NativeWebRequest request,
      @Nullable WebDataBinderFactory binders) {
    String device = request.getHeader(Actor.DEVICE);
    return Actor.atScreen(device == null ? Optional.empty() : Optional.of(identity(device)));
  }

  private static UUID identity(String device) {
    try {
      return UUID.fromString(device);
    } catch (IllegalArgumentException e) {
      throw new InvalidInput(
          Actor.DEVICE,
          "malformed",
          "This is no identity of a device.",
          "a UUID",
          "Leave the header out, or send the identity that the device made.");
    }
  }
}
