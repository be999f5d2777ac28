package cahier.app.account;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/** How the sign-ins of all instances stand in the database. */
@Configuration
class SessionConfig {

    /** When a sign-in was used last is kept to the minute: written with every page it would make the database wait for its disk each time somebody only looks. */
    private static final String UPDATE = """
            update %TABLE_NAME% s set session_id = n.session_id, last_access_time = n.used, max_inactive_interval = n.lasts, expiry_time = n.ends, principal_name = n.who
            from (select ?::char(36) as session_id, ?::bigint as used, ?::int as lasts, ?::bigint as ends, ?::text as who, ?::char(36) as primary_id) n
            where s.primary_id = n.primary_id
              and ((s.session_id, s.max_inactive_interval, s.principal_name) is distinct from (n.session_id, n.lasts, n.who) or n.used - s.last_access_time >= 60000 or n.ends < s.expiry_time)""";

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> keptToTheMinute() {
        return sessions -> sessions.setUpdateSessionQuery(UPDATE);
    }
}
