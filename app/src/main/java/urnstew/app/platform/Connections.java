package urnstew.app.platform;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.util.Map;
import javax.sql.DataSource;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.jdbc.datasource.lookup.AbstractRoutingDataSource;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Connections for reading and for writing are told apart, so that writers who wait for a row, or
 * for each other, do not take the pages with them, nor a crowd of readers the entries.
 */
@Configuration
class Connections {
  private static final String READS = "reads";
  private static final String WRITES = "writes";

  @Bean
  @ConfigurationProperties("spring.datasource.hikari")
  HikariDataSource reads(DataSourceProperties database) {
    return pool(database, READS);
  }

  @Bean
  @ConfigurationProperties("spring.datasource.hikari")
  HikariDataSource writes(DataSourceProperties database) {
    return pool(database, WRITES);
  }

  /** A connection is taken when the first statement needs it: by then it is known for what. */
  @Bean
  @Primary
  DataSource byIntent(HikariDataSource reads, HikariDataSource writes) {
    AbstractRoutingDataSource pools =
        new AbstractRoutingDataSource() {
          @Override
          protected Object determineCurrentLookupKey() {
            return isWriting() ? WRITES : READS;
          }
        };
    pools.setTargetDataSources(Map.of(READS, reads, WRITES, writes));
    pools.afterPropertiesSet();
    LazyConnectionDataSourceProxy lazy = new LazyConnectionDataSourceProxy();
    lazy.setTargetDataSource(pools);
    lazy.setDefaultAutoCommit(true);
    lazy.setDefaultTransactionIsolation(Connection.TRANSACTION_READ_COMMITTED);
    return lazy;
  }

  /** Whatever writes is a transaction of its own ({@link Write}). */
  private static boolean isWriting() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }

  private static HikariDataSource pool(DataSourceProperties database, String name) {
    HikariDataSource pool =
        database.initializeDataSourceBuilder().type(HikariDataSource.class).build();
    pool.setPoolName(name);
    // Whoever looks at the database's own list of who is connected sees what for.
    pool.addDataSourceProperty("ApplicationName", "urnstew " + name);
    return pool;
  }
}
