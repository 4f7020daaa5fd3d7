package urnstew.app.task;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping(path = "/api/tasks", produces = MediaType.APPLICATION_JSON_VALUE)
class TaskController {
  private final TaskService tasks;

  TaskController(TaskService tasks) {
    this.tasks = tasks;
  }

  @GetMapping
  List<TaskView> tasks() {
    return tasks.all();
  }
}
