#include <stdio.h>
#include <string.h>
#define MAX(a, b) ((a) > (b) ? (a) : (b))
#define DOUBLE(x) x + x
#define AREA(w,h) (DOUBLE(w) * (h))
typedef struct node {
    int value;
    struct node *next;
} Node;
typedef enum { LOW, HIGH } Level;
struct Point { int x, y; };
int dist(struct Point a, struct Point b) { return MAX(a.x - b.x, b.x - a.x) + MAX(a.y - b.y, b.y - a.y); }
int main(void) {
    Node first = {1, NULL};
    Node second = {2, NULL};
    first.next = &second;
    printf("%d\n", first.next->value);
    struct Point p = {1, 2}, q = {4, 6};
    printf("%d %d %d\n", dist(p, q), DOUBLE(3) * 2, AREA(2, 3));
    Level l = HIGH;
    printf("%d %d\n", l, MAX(MAX(1, 5), 3));
    return 0;
}
