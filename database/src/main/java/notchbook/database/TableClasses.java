package notchbook.database;

import java.nio.file.Path;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.flywaydb.core.Flyway;
import org.jooq.codegen.GenerationTool;
import org.jooq.meta.jaxb.Configuration;
import org.jooq.meta.jaxb.Database;
import org.jooq.meta.jaxb.ForcedType;
import org.jooq.meta.jaxb.Generate;
import org.jooq.meta.jaxb.Generator;
import org.jooq.meta.jaxb.Jdbc;
import org.jooq.meta.jaxb.Target;

/** Generates jOOQ's table classes from the migrations, by way of a real MariaDB. Run by the build of {@code app}. */
public final class TableClasses {
    /** Times are stored in UTC and read as instants. */
    private static final ForcedType INSTANT = new ForcedType()
            .withUserType("java.time.Instant")
            .withConverter("org.jooq.Converter.ofNullable(java.time.LocalDateTime.class, java.time.Instant.class,"
                    + " time -> time.toInstant(java.time.ZoneOffset.UTC),"
                    + " instant -> java.time.LocalDateTime.ofInstant(instant, java.time.ZoneOffset.UTC))")
            .withIncludeTypes("datetime.*");

    private static final ForcedType YES_OR_NO =
            new ForcedType().withName("BOOLEAN").withIncludeTypes("tinyint\\(1\\)");

    private TableClasses() {}

    /** Arguments: the folder of the migrations, the folder to write to. */
    public static void main(String[] arguments) throws Exception {
        Logger.getLogger("").setLevel(Level.WARNING);
        try (var server = PrivateMariaDb.start()) {
            var url = server.url("notchbook");
            Flyway.configure()
                    .dataSource(url, "root", "")
                    .locations("filesystem:" + Path.of(arguments[0]))
                    .load()
                    .migrate();
            GenerationTool.generate(new Configuration()
                    .withJdbc(new Jdbc().withUrl(url).withUser("root").withPassword(""))
                    .withGenerator(new Generator()
                            .withDatabase(new Database()
                                    .withName("org.jooq.meta.mariadb.MariaDBDatabase")
                                    .withInputSchema("notchbook")
                                    .withOutputSchemaToDefault(true)
                                    .withForcedTypes(INSTANT, YES_OR_NO)
                                    .withExcludes("flyway_schema_history|(?i:spring_session.*)"))
                            .withGenerate(new Generate()
                                    .withRecords(false)
                                    .withRelations(true)
                                    .withImplicitJoinPathsToOne(false)
                                    .withImplicitJoinPathsToMany(false)
                                    .withImplicitJoinPathsManyToMany(false)
                                    .withImplicitJoinPathTableSubtypes(false)
                                    .withIndexes(false)
                                    .withKeys(true)
                                    .withGlobalObjectReferences(true))
                            .withTarget(new Target()
                                    .withPackageName("notchbook.tables")
                                    .withDirectory(arguments[1]))));
        }
    }
}
