#include <iostream>
using namespace std;
void swapThem(int *a, int *b) { int t = *a; *a = *b; *b = t; }
struct Node { int value; Node* next; };
int main() {
    int x = 1, y = 2;
    swapThem(&x, &y);
    cout << x << y << endl;
    int *p = &x;
    *p = 10;
    cout << x << endl;
    Node* head = nullptr;
    for (int i = 0; i < 3; i++) {
        Node* n = new Node;
        n->value = i;
        n->next = head;
        head = n;
    }
    for (Node* n = head; n != nullptr; n = n->next) cout << n->value << " ";
    cout << endl;
    while (head) { Node* old = head; head = head->next; delete old; }
    int* data = new int[5];
    for (int i = 0; i < 5; ++i) data[i] = i * i;
    cout << data[4] << endl;
    delete[] data;
    int a[] = {1, 2, 3};
    int n = sizeof(a) / sizeof(a[0]);
    cout << n << endl;
}
