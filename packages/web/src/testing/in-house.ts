import { flushPromises, mount, type VueWrapper } from '@vue/test-utils';
import { getActivePinia, type Pinia } from 'pinia';
import { vi } from 'vitest';
import type { Component } from 'vue';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import { createVuetify } from 'vuetify';
import { useAnswer } from '../solver/use-answer';
import { openPage, SmallServer } from './small-server';
import { smallPlan } from './small-house';

/** A component on a page of the small house, its plan answered. Solver and browser store are to be mocked. */
export interface InSmallHouse {
  page: VueWrapper;
  server: SmallServer;
  router: Router;
  /** Let what was begun come to rest, changes sent included. */
  settle(): Promise<void>;
}

const blank = { template: '<div />' };

/** Whether the window is so tall that everything in it is seen; else nothing is. */
export const inView = { all: true };
class AllInView {
  constructor(private readonly tell: IntersectionObserverCallback) {}
  observe(target: Element): void {
    const entry = { isIntersecting: inView.all, target, time: 0 } as IntersectionObserverEntry;
    this.tell([entry], this as unknown as IntersectionObserver);
  }
  unobserve = () => undefined;
  disconnect = () => undefined;
}

/** Open a page of the small house with 47 euro to spend, unless told otherwise, and put a component on it. */
export async function inHouse(
  component: Component,
  props: object = {},
  things: ConstructorParameters<typeof SmallServer>[0] = [['plan', smallPlan(0).id, smallPlan(4700)]],
): Promise<InSmallHouse> {
  vi.useFakeTimers({ now: new Date('2026-11-25T18:00:00') });
  vi.stubGlobal('IntersectionObserver', AllInView);
  const server = new SmallServer(things);
  await openPage();
  await useAnswer().start();
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/:step?/:part?', component: blank },
      { path: '/:rest(.*)*', component: blank },
    ],
  });
  const settle = async () => {
    await vi.advanceTimersByTimeAsync(2500);
    await flushPromises();
  };
  await settle();
  const page = mount(component, {
    props: props as Record<string, unknown>,
    global: { plugins: [getActivePinia() as Pinia, router, createVuetify()] },
    attachTo: document.body,
  });
  await settle();
  return { page, server, router, settle };
}

/** What is written on a page or a part of it: the words of each element apart, as they stand. */
export function said({ element }: { element: Node }): string {
  const words: string[] = [];
  const walk = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
  while (walk.nextNode()) words.push(walk.currentNode.textContent ?? '');
  return words
    .join(' ')
    .replace(/\s+/g, ' ')
    .replace(/ ([,.;:])/g, '$1')
    .trim();
}
