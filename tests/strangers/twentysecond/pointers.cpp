#include <iostream>
using namespace std;

struct Node {
    int value;
    Node* next;
};

void push(Node** head, int value) {
    Node* n = new Node;
    n->value = value;
    n->next = *head;
    *head = n;
}

void append(Node*& head, int value) {
    if (head == NULL) { head = new Node{value, NULL}; return; }
    Node* cur = head;
    while (cur->next != NULL) cur = cur->next;
    cur->next = new Node{value, nullptr};
}

int length(Node* head) { return head ? 1 + length(head->next) : 0; }

void print(const Node* head) {
    for (const Node* p = head; p; p = p->next) {
        cout << p->value;
        if (p->next) cout << " -> ";
    }
    cout << endl;
}

Node* reverse(Node* head) {
    Node *prev = nullptr, *cur = head;
    while (cur) {
        Node* next = cur->next;
        cur->next = prev;
        prev = cur;
        cur = next;
    }
    return prev;
}

void removeAll(Node** head, int value) {
    while (*head) {
        if ((*head)->value == value) {
            Node* dead = *head;
            *head = dead->next;
            delete dead;
        } else {
            head = &(*head)->next;
        }
    }
}

void swapValues(int* a, int* b) { int t = *a; *a = *b; *b = t; }
void minMax(const int a[], int n, int& lo, int& hi) {
    lo = hi = a[0];
    for (int i = 1; i < n; i++) {
        if (a[i] < lo) lo = a[i];
        if (a[i] > hi) hi = a[i];
    }
}
int* makeRange(int n) {
    int* a = new int[n];
    for (int i = 0; i < n; i++) *(a + i) = i * 10;
    return a;
}

int main() {
    Node* list = nullptr;
    push(&list, 3);
    push(&list, 1);
    append(list, 3);
    append(list, 9);
    print(list);
    cout << length(list) << endl;
    list = reverse(list);
    print(list);
    removeAll(&list, 3);
    print(list);
    int x = 4, y = 7;
    swapValues(&x, &y);
    cout << x << " " << y << endl;
    int a[] = {4, -2, 17, 0}, lo, hi;
    minMax(a, 4, lo, hi);
    cout << lo << ".." << hi << endl;
    int* range = makeRange(5);
    cout << range[3] << " " << *(range + 1) << endl;
    delete[] range;
    range = nullptr;
    int** grid = new int*[2];
    for (int i = 0; i < 2; i++) {
        grid[i] = new int[3];
        for (int j = 0; j < 3; j++) grid[i][j] = i + j;
    }
    cout << grid[1][2] << endl;
    for (int i = 0; i < 2; i++) delete[] grid[i];
    delete[] grid;
    int* p = &x;
    int& ref = *p;
    ref += 10;
    cout << x << " " << *p << " " << (p == &x) << endl;
    const char* words[] = {"pea", "bean"};
    for (const char* w : words) cout << w << " ";
    cout << endl;
    double* d = new double(2.5);
    *d *= 2;
    cout << *d << endl;
    delete d;
    while (list) { Node* next = list->next; delete list; list = next; }
    return 0;
}
