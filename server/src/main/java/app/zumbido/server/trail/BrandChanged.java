package app.zumbido.server.trail;

import java.util.UUID;

/** A brand has a new revision; told to listeners once it is stored. */
record BrandChanged(UUID id, long revision) {}
