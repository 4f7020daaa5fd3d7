package urnstew.app.task;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.platform.PageTags;

@RestController
@RequestMapping(path = "/api/tasks", produces = MediaType.APPLICATION_JSON_VALUE)
class TaskController {
  private final TaskService tasks;

  private final PageTags tags;

  TaskController(TaskService tasks, PageTags tags) {
    this.tasks = tasks;
    this.tags = tags;
  }

  @GetMapping
  ResponseEntity<List<TaskView>> tasks() {
    return tags.answer(tasks.all());
  }
}
