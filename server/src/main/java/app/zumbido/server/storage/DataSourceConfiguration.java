package app.zumbido.server.storage;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.pool.HikariPool;
import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;

/**
 * One connection that writes and a few that read. A transaction that reads and then writes would fail at once beside
 * another writer, whatever the busy timeout, so writing transactions begin IMMEDIATE and come one after the other.
 */
@Configuration
class DataSourceConfiguration {
    private static final int READERS = 4;

    @Bean
    HikariDataSource writingDataSource(DataFolder folder, LibraryScratch scratch) {
        scratch.ofDatabase();
        try {
            return pool("writer", url(folder) + "&transaction_mode=IMMEDIATE", 1);
        } catch (HikariPool.PoolInitializationException e) {
            throw CannotStartException.unreadable(folder, e);
        }
    }

    @Bean
    HikariDataSource readingDataSource(DataFolder folder, LibraryScratch scratch) {
        scratch.ofDatabase();
        return pool("reader", url(folder), READERS);
    }

    /** Picks the pool by whether the transaction is read-only. */
    @Bean
    @Primary
    DataSource dataSource(HikariDataSource writingDataSource, HikariDataSource readingDataSource) {
        LazyConnectionDataSourceProxy proxy = new LazyConnectionDataSourceProxy();
        proxy.setTargetDataSource(writingDataSource);
        proxy.setReadOnlyDataSource(readingDataSource);
        proxy.setDefaultAutoCommit(true);
        return proxy;
    }

    private static String url(DataFolder folder) {
        return "jdbc:sqlite:" + folder.database()
                + "?journal_mode=WAL&synchronous=FULL&foreign_keys=on&busy_timeout=5000";
    }

    private static HikariDataSource pool(String name, String url, int size) {
        HikariConfig config = new HikariConfig();
        config.setPoolName(name);
        config.setJdbcUrl(url);
        config.setMaximumPoolSize(size);
        return new HikariDataSource(config);
    }
}
