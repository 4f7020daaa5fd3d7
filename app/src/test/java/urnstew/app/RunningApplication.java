package urnstew.app;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the application under test as a browser would: over HTTP. */
public final class RunningApplication {
  public static final JsonMapper JSON = JsonMapper.builder().build();
  private static final HttpClient HTTP = HttpClient.newHttpClient();

  private final int port;

  public RunningApplication(int port) {
    this.port = port;
  }

  /** An answer: status, and body as JSON. */
  public record Answer(int status, JsonNode body) {
    public String pointer() {
      return body.at("/errors/0/pointer").asString("");
    }

    public String code() {
      return body.at("/errors/0/code").asString("");
    }
  }

  public Answer get(String path) {
    return json(send(request(path).GET()));
  }

  public byte[] bytes(String path) throws IOException {
    try {
      return HTTP.send(request(path).GET().build(), BodyHandlers.ofByteArray()).body();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  public Answer post(String path, String body, String... headers) {
    return json(write("POST", path, body, headers));
  }

  public Answer put(String path, String body, String... headers) {
    return json(write("PUT", path, body, headers));
  }

  public HttpResponse<String> write(String method, String path, String body, String... headers) {
    HttpRequest.Builder request =
        request(path)
            .header("content-type", "application/json")
            .method(method, BodyPublishers.ofString(body));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return send(request);
  }

  public HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(URI.create("http://localhost:" + port + path));
  }

  public HttpResponse<String> send(HttpRequest.Builder request) {
    try {
      return HTTP.send(request.build(), BodyHandlers.ofString());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Answer json(HttpResponse<String> response) {
    String body = response.body().isEmpty() ? "null" : response.body();
    return new Answer(response.statusCode(), JSON.readTree(body));
  }
}
