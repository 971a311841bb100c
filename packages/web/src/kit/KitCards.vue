<script setup lang="ts">
import CautionLine from '../ui/CautionLine.vue';
import GiftCard from './GiftCard.vue';
import GlassCount from './GlassCount.vue';
import GlassRack from './GlassRack.vue';
import IceCard from './IceCard.vue';
import MeasuresDrawer from './MeasuresDrawer.vue';
import OrderCard from './OrderCard.vue';
import StarterSets from './StarterSets.vue';
import ToolWall from './ToolWall.vue';
import WaysCard from './WaysCard.vue';
</script>

<template>
  <div class="stack">
    <ToolWall />
    <GlassRack />
    <MeasuresDrawer />
    <div class="two-columns">
      <div class="stack">
        <WaysCard />
        <OrderCard />
      </div>
      <div class="stack">
        <StarterSets />
        <GlassCount />
        <IceCard />
        <GiftCard />
      </div>
    </div>
  </div>
  <CautionLine>
    Sharp things, hot water and glass: fingertips in, hot never after cold, and flame away from high proof.
  </CautionLine>
</template>
