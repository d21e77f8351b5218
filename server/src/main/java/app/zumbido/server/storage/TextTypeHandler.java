package app.zumbido.server.storage;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.function.Function;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;

/** A value kept as the text that {@code toString} gives. */
abstract class TextTypeHandler<T> extends BaseTypeHandler<T> {
    private final Function<String, T> parse;

    TextTypeHandler(Function<String, T> parse) {
        this.parse = parse;
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, T value, JdbcType type)
            throws SQLException {
        statement.setString(index, value.toString());
    }

    @Override
    public @Nullable T getNullableResult(ResultSet result, String column) throws SQLException {
        return parsed(result.getString(column));
    }

    @Override
    public @Nullable T getNullableResult(ResultSet result, int column) throws SQLException {
        return parsed(result.getString(column));
    }

    @Override
    public @Nullable T getNullableResult(CallableStatement statement, int column) throws SQLException {
        return parsed(statement.getString(column));
    }

    private @Nullable T parsed(@Nullable String text) {
        return text == null ? null : parse.apply(text);
    }
}
