package cahier.app.scope;

import org.springframework.beans.factory.InitializingBean;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Refuses to start as a database role that row-level security does not bind: one practice could then see another's rows. */
@Component
public class RowSecurity implements InitializingBean {

    private final JdbcTemplate database;

    public RowSecurity(JdbcTemplate database) {
        this.database = database;
    }

    @Override
    public void afterPropertiesSet() {
        String unbound = database.queryForObject("""
                select min(rolname) from pg_roles where rolname = current_user
                  and (rolsuper or rolbypassrls or exists (select 1 from pg_tables where schemaname = current_schema() and tableowner = rolname))""", String.class);
        if (unbound != null) {
            throw new IllegalStateException("CAHIER_DB_USER must be a role without superuser, bypassrls and tables of its own, was " + unbound
                    + ", for example one made by: create role cahier login password '...'");
        }
    }
}
