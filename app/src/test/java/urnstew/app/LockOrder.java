package urnstew.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Rows are locked in one order, so that no two writes can wait for each other: by these tables, and
 * within one by identity. It stands in every test that runs the application, and whatever breaks it
 * fails there.
 */
@Component
@Intercepts(
    @Signature(
        type = Executor.class,
        method = "query",
        args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}))
public class LockOrder implements Interceptor {
  private static final List<String> TABLES =
      List.of(
          "service",
          "formula_shelf",
          "own_rule_set",
          "panel",
          "batch",
          "keeping",
          "lot",
          "vessel",
          "heat_source",
          "oven");

  private static final Pattern LOCKS =
      Pattern.compile("from\\s+(\\w+)\\s.*\\bfor\\s+(no\\s+key\\s+)?update", Pattern.DOTALL);

  /** A row that a transaction has locked; of several at once only the table counts. */
  private record Locked(String table, String id) {
    private boolean mayComeAfter(Locked before) {
      int rank = TABLES.indexOf(table);
      int rankBefore = TABLES.indexOf(before.table);
      return rank > rankBefore
          || rank == rankBefore && (id.isEmpty() || before.id.compareTo(id) <= 0);
    }
  }

  @Override
  public Object intercept(Invocation call) throws ReflectiveOperationException {
    MappedStatement statement = (MappedStatement) call.getArgs()[0];
    Object parameter = call.getArgs()[1];
    Matcher locks =
        LOCKS.matcher(statement.getBoundSql(parameter).getSql().toLowerCase(Locale.ROOT));
    // The demo is laid out in one transaction, before anybody is let in.
    boolean letIn = Thread.currentThread().getName().startsWith("http-nio");
    if (letIn && locks.find() && TransactionSynchronizationManager.isSynchronizationActive()) {
      boolean several = statement.getId().endsWith("lockOpen");
      note(new Locked(locks.group(1), several ? "" : String.valueOf(parameter)));
    }
    return call.proceed();
  }

  private static void note(Locked next) {
    List<Locked> held = held();
    if (!TABLES.contains(next.table())) {
      throw new IllegalStateException(next.table() + " has no place in the order of locks.");
    }
    for (Locked before : held) {
      if (!held.contains(next) && !next.mayComeAfter(before)) {
        throw new IllegalStateException(next + " is locked after " + before + ".");
      }
    }
    held.add(next);
  }

  @SuppressWarnings("unchecked")
  private static List<Locked> held() {
    Object known = TransactionSynchronizationManager.getResource(LockOrder.class);
    if (known != null) {
      return (List<Locked>) known;
    }
    List<Locked> held = new ArrayList<>();
    TransactionSynchronizationManager.bindResource(LockOrder.class, held);
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(LockOrder.class);
          }

          @Override
          public void suspend() {
            TransactionSynchronizationManager.unbindResourceIfPossible(LockOrder.class);
          }

          @Override
          public void resume() {
            TransactionSynchronizationManager.bindResource(LockOrder.class, held);
          }
        });
    return held;
  }
}
