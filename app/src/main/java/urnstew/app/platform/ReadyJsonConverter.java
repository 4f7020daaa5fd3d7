package urnstew.app.platform;

import java.io.IOException;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractHttpMessageConverter;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.stereotype.Component;

/** Sends a page that is written out already. */
@Component
class ReadyJsonConverter extends AbstractHttpMessageConverter<ReadyJson> {
  ReadyJsonConverter() {
    super(MediaType.APPLICATION_JSON);
  }

  @Override
  protected boolean supports(Class<?> type) {
    return type == ReadyJson.class;
  }

  @Override
  protected ReadyJson readInternal(Class<? extends ReadyJson> type, HttpInputMessage sent) {
    throw new HttpMessageNotReadableException("Nobody sends a page of ours.", sent);
  }

  @Override
  protected void writeInternal(ReadyJson page, HttpOutputMessage answer) throws IOException {
    answer.getHeaders().setContentLength(page.bytes().length);
    answer.getBody().write(page.bytes());
  }
}
