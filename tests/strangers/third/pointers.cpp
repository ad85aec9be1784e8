#include <iostream>
using namespace std;
struct Node { int value; Node* next; };
void swapInts(int* a, int* b) { int t = *a; *a = *b; *b = t; }
int main() {
    int x = 3, y = 8;
    swapInts(&x, &y);
    cout << x << " " << y << endl;
    Node* head = nullptr;
    for (int i = 1; i <= 3; i++) head = new Node{i, head};
    for (Node* p = head; p != nullptr; p = p->next) cout << p->value << " ";
    cout << endl;
    while (head) { Node* n = head->next; delete head; head = n; }
}
