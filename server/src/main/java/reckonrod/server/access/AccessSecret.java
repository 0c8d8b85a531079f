package reckonrod.server.access;

import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What cookies are signed with: made once, kept in the database, the same for every program on it. */
@Component
class AccessSecret {
    private static final int BYTES = 32;

    private final JdbcClient sql;

    AccessSecret(JdbcClient sql) {
        this.sql = sql;
    }

    String text() {
        byte[] fresh = new byte[BYTES];
        new SecureRandom().nextBytes(fresh);
        sql.sql("insert into access_secret values (1, :secret) on conflict do nothing")
                .param("secret", HexFormat.of().formatHex(fresh))
                .update();
        return sql.sql("select secret from access_secret").query(String.class).single();
    }
}
