package app.zumbido.formats.existing;

class ScratchTest {
    @org.junit.jupiter.api.Test
    void x() throws Exception {
        EveningVisits.main(new String[] {"/tmp/evening-visits.pptx"});
    }
}
