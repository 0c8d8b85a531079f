package reckonrod.server.imports;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What the columns of a table with these headings meant last time. */
@Entity
@Table(name = "column_mapping")
class MappingRecord {
    @Id
    private String headings;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> columns;

    MappingRecord() {}

    MappingRecord(String headings, List<String> columns) {
        this.headings = headings;
        this.columns = List.copyOf(columns);
    }

    List<String> columns() {
        return columns;
    }
}
