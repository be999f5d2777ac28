package cahier.app.copy;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What the database says of its tables. */
@Mapper
interface CatalogueMapper {

    /** A table with data of a practice, and the condition on $1 and $2 by which its rows belong to a household; none where they do not. */
    record TableRow(String name, @Nullable String ofHousehold) {
    }

    record ColumnRow(String tableName, String name, String type, boolean required, boolean counted, boolean inKey) {
    }

    /** A column of one table that holds what a column of another does. */
    record Reference(String tableName, String name, String toTable, String toName) {
    }

    /** Those that are referred to before those that refer to them. */
    @Select("select x::text as name, rows_of_household(x) as of_household from tables_by_reference() with ordinality as o(x, n) order by n desc")
    List<TableRow> tables();

    @Select("""
            select a.attrelid::regclass::text as table_name, a.attname as name, format_type(a.atttypid, null) as type, a.attnotnull as required, a.attidentity <> '' as counted,
                   exists (select 1 from pg_constraint k where k.conrelid = a.attrelid and k.contype = 'p' and a.attnum = any (k.conkey)) as in_key
            from pg_attribute a join pg_class c on c.oid = a.attrelid
            where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' and a.attnum > 0 and not a.attisdropped order by a.attrelid, a.attnum""")
    List<ColumnRow> columns();

    @Select("""
            select k.conrelid::regclass::text as table_name, a.attname as name, k.confrelid::regclass::text as to_table, b.attname as to_name
            from pg_constraint k cross join unnest(k.conkey, k.confkey) as pair(here, there)
            join pg_attribute a on a.attrelid = k.conrelid and a.attnum = pair.here join pg_attribute b on b.attrelid = k.confrelid and b.attnum = pair.there
            where k.contype = 'f' and k.connamespace = 'public'::regnamespace order by 1, 2, 3, 4""")
    List<Reference> references();
}
