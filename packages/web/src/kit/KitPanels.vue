<script setup lang="ts">
import CautionLine from '../ui/CautionLine.vue';
import GiftPanel from './GiftPanel.vue';
import GlassCount from './GlassCount.vue';
import GlassRack from './GlassRack.vue';
import IcePanel from './IcePanel.vue';
import MeasuresDrawer from './MeasuresDrawer.vue';
import OrderPanel from './OrderPanel.vue';
import StarterSets from './StarterSets.vue';
import ToolWall from './ToolWall.vue';
import WaysPanel from './WaysPanel.vue';
</script>

<template>
  <div class="stack">
    <ToolWall />
    <GlassRack />
    <MeasuresDrawer />
    <div class="two-columns">
      <div class="stack">
        <WaysPanel />
        <OrderPanel />
      </div>
      <div class="stack">
        <StarterSets />
        <GlassCount />
        <IcePanel />
        <GiftPanel />
      </div>
    </div>
  </div>
  <CautionLine>
    Sharp things, hot water and glass: fingertips in, hot never after cold, and flame away from high proof.
  </CautionLine>
</template>
