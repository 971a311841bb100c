/*
 * Keeps beside each file of a folder what a power cut would leave of it: its content when it was last
 * synced. Preloaded into a process (LD_PRELOAD); UISCE_DISK names the folder for what is on the disk.
 */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <fcntl.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <unistd.h>

/* The database syncs its folder after removing a journal: a removal counts as done. */
int unlink(const char *path) {
  int (*real)(const char *) = dlsym(RTLD_NEXT, "unlink");
  const char *disk = getenv("UISCE_DISK"), *name = strrchr(path, '/');
  char kept[4200];
  if (disk != NULL && name != NULL && strstr(name, ".sqlite") != NULL) {
    snprintf(kept, sizeof kept, "%s%s", disk, name);
    real(kept);
  }
  return real(path);
}

static void keep(int fd) {
  const char *disk = getenv("UISCE_DISK");
  char link[64], path[4096], kept[4200], fresh[4300], block[65536];
  if (disk == NULL) return;
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  ssize_t length = readlink(link, path, sizeof path - 1);
  if (length < 0) return;
  path[length] = 0;
  const char *name = strrchr(path, '/');
  if (name == NULL || strstr(name, ".sqlite") == NULL) return;
  snprintf(kept, sizeof kept, "%s%s", disk, name);
  snprintf(fresh, sizeof fresh, "%s.new", kept);
  int from = open(path, O_RDONLY), to = open(fresh, O_WRONLY | O_CREAT | O_TRUNC, 0644);
  ssize_t got;
  while (from >= 0 && to >= 0 && (got = read(from, block, sizeof block)) > 0)
    if (write(to, block, got) != got) abort();
  close(from);
  close(to);
  rename(fresh, kept);
}

int fsync(int fd) {
  int (*real)(int) = dlsym(RTLD_NEXT, "fsync");
  keep(fd);
  return real(fd);
}

int fdatasync(int fd) {
  int (*real)(int) = dlsym(RTLD_NEXT, "fdatasync");
  keep(fd);
  return real(fd);
}
