package cahier.app.track;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;

/** Keeps a value as one jsonb column: it is read and written whole and never searched. */
abstract class JsonTypeHandler<T> extends BaseTypeHandler<T> {

    private static final ObjectMapper JSON = JsonMapper.builder().build();

    private final Class<T> type;

    JsonTypeHandler(Class<T> type) {
        this.type = type;
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, T value, JdbcType jdbc) throws SQLException {
        try {
            statement.setObject(index, JSON.writeValueAsString(value), Types.OTHER);
        } catch (JsonProcessingException e) {
            throw new SQLException(type.getSimpleName() + " cannot be written", e);
        }
    }

    @Override
    public @Nullable T getNullableResult(ResultSet row, String column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public @Nullable T getNullableResult(ResultSet row, int column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public @Nullable T getNullableResult(CallableStatement call, int column) throws SQLException {
        return read(call.getString(column));
    }

    private @Nullable T read(@Nullable String json) throws SQLException {
        try {
            return json == null ? null : JSON.readValue(json, type);
        } catch (JsonProcessingException e) {
            throw new SQLException(type.getSimpleName() + " cannot be read", e);
        }
    }
}
