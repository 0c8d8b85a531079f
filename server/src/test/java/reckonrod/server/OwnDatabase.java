package reckonrod.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Another database of the same cluster, so that no other test finds what is left behind. */
class OwnDatabase implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    private static int made;

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        new TestCluster().initialize(context);
        String name = "own_" + ++made;
        String url = context.getEnvironment().getProperty("spring.datasource.url");
        try (Connection connection = DriverManager.getConnection(
                url,
                context.getEnvironment().getProperty("spring.datasource.username"),
                context.getEnvironment().getProperty("spring.datasource.password"))) {
            connection.createStatement().execute("drop database if exists " + name + " with (force)");
            connection.createStatement().execute("create database " + name);
        } catch (SQLException broken) {
            throw new IllegalStateException(broken);
        }
        TestPropertyValues.of("spring.datasource.url=" + url.replaceAll("/[^/]+$", "/" + name))
                .applyTo(context);
    }
}
