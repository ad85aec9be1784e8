#include <iostream>
using namespace std;

struct Node {
    int data;
    Node* next;
};

class List {
    Node* head;
public:
    List() { head = nullptr; }
    void addFront(int d) {
        Node* n = new Node;
        n->data = d;
        n->next = head;
        head = n;
    }
    void addBack(int d) {
        Node* n = new Node();
        n->data = d;
        n->next = NULL;
        if (!head) { head = n; return; }
        Node* cur = head;
        while (cur->next != NULL) cur = cur->next;
        cur->next = n;
    }
    void reverse() {
        Node *prev = nullptr, *cur = head;
        while (cur) {
            Node* nxt = cur->next;
            cur->next = prev;
            prev = cur;
            cur = nxt;
        }
        head = prev;
    }
    bool remove(int d) {
        if (head == nullptr) return false;
        if (head->data == d) {
            Node* t = head;
            head = head->next;
            delete t;
            return true;
        }
        for (Node* p = head; p->next; p = p->next) {
            if (p->next->data == d) {
                Node* t = p->next;
                p->next = t->next;
                delete t;
                return true;
            }
        }
        return false;
    }
    void print() const {
        for (Node* p = head; p != nullptr; p = p->next)
            cout << p->data << (p->next ? " -> " : "\n");
    }
};

int sum(int a[], int n) {
    int s = 0;
    for (int* p = a; p < a + n; p++) s += *p;
    return s;
}

void swapThem(int* a, int* b) { int t = *a; *a = *b; *b = t; }

int main() {
    List l;
    for (int i = 1; i <= 3; i++) l.addFront(i * i);
    l.addBack(100);
    l.print();
    l.reverse();
    l.print();
    cout << l.remove(4) << l.remove(5) << endl;
    l.print();
    int arr[] = {4, 8, 15, 16};
    cout << sum(arr, sizeof(arr) / sizeof(arr[0])) << endl;
    int x = 3, y = 4;
    swapThem(&x, &y);
    cout << x << " " << y << endl;
    int* dyn = new int[3];
    for (int i = 0; i < 3; ++i) dyn[i] = i * 10;
    cout << dyn[2] << endl;
    delete[] dyn;
}
