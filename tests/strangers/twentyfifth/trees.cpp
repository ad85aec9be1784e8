#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define MAX 20

struct Node {
    char label[MAX];
    int height;
    struct Node *left, *right;
};

struct Node *insert(struct Node *root, const char *label, int height)
{
    if (root == NULL) {
        struct Node *n = (struct Node *) malloc(sizeof(struct Node));
        strcpy(n->label, label);
        n->height = height;
        n->left = n->right = NULL;
        return n;
    }
    if (strcmp(label, root->label) < 0)
        root->left = insert(root->left, label, height);
    else
        root->right = insert(root->right, label, height);
    return root;
}

void print(struct Node *root, int depth)
{
    int i;
    if (!root) return;
    print(root->left, depth + 1);
    for (i = 0; i < depth; i++) printf("  ");
    printf("%-8s%4d cm\n", root->label, root->height);
    print(root->right, depth + 1);
}

int depth(struct Node *root)
{
    int l, r;
    if (!root) return 0;
    l = depth(root->left);
    r = depth(root->right);
    return (l > r ? l : r) + 1;
}

void release(struct Node *root)
{
    if (!root) return;
    release(root->left);
    release(root->right);
    free(root);
}

int main(void)
{
    struct Node *root = NULL;
    const char *names[] = {"oak", "ash", "yew", "fir", "elm", "lime"};
    int heights[] = {1800, 1500, 900, 2200, 1700, 1600};
    int count = sizeof(names) / sizeof(names[0]);
    for (int i = 0; i < count; i++)
        root = insert(root, names[i], heights[i]);
    print(root, 0);
    printf("depth %d of %d\n", depth(root), count);
    printf("average %.1f\n", (1800 + 1500 + 900 + 2200 + 1700 + 1600) / (double) count);
    release(root);
    return 0;
}
