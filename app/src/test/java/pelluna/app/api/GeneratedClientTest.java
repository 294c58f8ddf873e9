package pelluna.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Program;
import pelluna.app.testing.TestCluster;
import pelluna.client.RecordsApi;
import pelluna.client.SpeciesApi;
import pelluna.client.TanksApi;
import pelluna.client.WriteApi;
import pelluna.client.invoker.ApiClient;
import pelluna.client.invoker.ApiException;
import pelluna.client.model.LivestockRecord;
import pelluna.client.model.Saved;
import pelluna.client.model.TankPart;
import pelluna.client.model.TanksFromPlan;
import pelluna.client.model.TanksLogWater;
import pelluna.client.model.TanksWishList;
import pelluna.client.model.WaterTestRecord;

/** A client that a public generator has made from docs/openapi.json alone does what a keeper does. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class GeneratedClientTest {
    private static final String PLAN = """
        {"pelluna": 1, "name": "By a client", "tank": {"lengthCm": 120, "widthCm": 50, "waterHeightCm": 50},
         "residents": [{"species": "Gramma loreto", "since": "2025-05-01"}], "wishes": []}""";

    private ApiClient client;

    @BeforeAll
    void connect() {
        String token = Program.of(Pelluna.ines(), "write").token;
        client = new ApiClient();
        client.updateBaseUri(Pelluna.url());
        client.setRequestInterceptor(request -> request.header("Authorization", "Bearer " + token));
    }

    @AfterAll
    void asNew() {
        TestCluster.jdbc().sql("delete from program_token").update();
    }

    @Test
    void aTankIsMadeFilledTestedJudgedAndGivenUp() throws ApiException {
        WriteApi write = new WriteApi(client);
        TanksApi tanks = new TanksApi(client);
        RecordsApi records = new RecordsApi(client);
        Saved made = write.postTanksFromPlan(null, new TanksFromPlan().plan(PLAN));
        long id = Long.parseLong(made.getPage().replaceAll("\\D", ""));
        assertThat(tanks.listTanks(id - 1, 1).getItems())
                .singleElement()
                .satisfies(t -> assertThat(t.getName()).isEqualTo("By a client"));

        write.postTanksWishList(
                id, null, null, new TanksWishList().species("Chromis viridis").count("6"));
        TankPart tank = tanks.getTank(id);
        assertThat(tank.getResidents())
                .singleElement()
                .satisfies(f -> assertThat(f.getSpecies()).isEqualTo("Gramma loreto"));
        assertThat(tank.getWishes())
                .singleElement()
                .satisfies(f -> assertThat(f.getCount()).isEqualTo(6));

        write.postTanksLogWater(
                id, "once", null, new TanksLogWater().nitrate("8.5").pH("8.2"));
        assertThat(records.listWaterTestRecords(id, null, null).getItems())
                .singleElement()
                .satisfies(t -> {
                    assertThat(t.getNitrate()).isEqualTo(8.5);
                    assertThat(t.getTakenOn()).isEqualTo(Pelluna.today());
                })
                .isInstanceOf(WaterTestRecord.class);
        assertThat(records.listLivestockRecords(id, null, null).getItems())
                .extracting(LivestockRecord::getSpecies)
                .containsExactlyInAnyOrder("Gramma loreto", "Chromis viridis");

        assertThat(tanks.listVerdicts(id, "firefish", null, 5).getItems()).isNotEmpty();
        assertThat(((Map<?, ?>) tanks.getAssessment(id)).get("sieve")).isNotNull();
        assertThat(new SpeciesApi(client).listSpecies("royal gramma", null, 1).getItems())
                .hasSize(1);

        write.postTanksRemove(id, null, null, Map.of());
        assertThatThrownBy(() -> tanks.getTank(id))
                .isInstanceOfSatisfying(
                        ApiException.class, e -> assertThat(e.getCode()).isEqualTo(404));
    }
}
