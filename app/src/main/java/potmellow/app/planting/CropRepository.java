package potmellow.app.planting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Crop;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;

/** Crops that the gardener added, or described anew. */
@Repository
class CropRepository {
    private final JdbcClient database;

    CropRepository(JdbcClient database) {
        this.database = database;
    }

    void keep(UUID garden, Crop crop) {
        database.sql("""
                        REPLACE INTO own_crop (garden_id, id, name, appetite, eaten, touched, iron_sensitive, salt_sensitive,
                          soil, days)
                        VALUES (:garden, :id, :name, :appetite, :eaten, :touched, :iron, :salt, :soil, :days)""")
                .param("garden", garden)
                .param("id", crop.id())
                .param("name", crop.name())
                .param("appetite", crop.appetite().name())
                .param("eaten", crop.eaten().name())
                .param("touched", crop.touched())
                .param("iron", crop.ironSensitive())
                .param("salt", crop.saltSensitive())
                .param("soil", crop.soil().name())
                .param(
                        "days",
                        crop.stages().stream()
                                .map(stage -> stage.name() + "=" + crop.days().get(stage))
                                .collect(Collectors.joining(",")))
                .update();
    }

    void forget(UUID garden, String id) {
        database.sql("DELETE FROM own_crop WHERE garden_id = :garden AND id = :id")
                .param("garden", garden)
                .param("id", id)
                .update();
    }

    @ReadOnce
    List<Crop> all(UUID garden) {
        return database.sql("SELECT * FROM own_crop WHERE garden_id = :garden ORDER BY name")
                .param("garden", garden)
                .query((row, number) -> new Crop(
                        row.getString("id"),
                        row.getString("name"),
                        Appetite.valueOf(row.getString("appetite")),
                        Eaten.valueOf(row.getString("eaten")),
                        row.getBoolean("touched"),
                        row.getBoolean("iron_sensitive"),
                        row.getBoolean("salt_sensitive"),
                        SoilKind.valueOf(row.getString("soil")),
                        days(row.getString("days"))))
                .list();
    }

    private static Map<GrowthStage, Integer> days(String text) {
        Map<GrowthStage, Integer> days = new LinkedHashMap<>();
        for (String pair : text.split(",")) {
            if (!pair.isBlank()) {
                String[] halves = pair.split("=");
                days.put(GrowthStage.valueOf(halves[0]), Integer.valueOf(halves[1]));
            }
        }
        return days;
    }
}
