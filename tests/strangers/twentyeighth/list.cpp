#include <iostream>
using namespace std;

struct Node {
    int data;
    Node* next;
};

Node* push(Node* head, int value) {
    Node* n = new Node;
    n->data = value;
    n->next = head;
    return n;
}

void append(Node*& head, int value) {
    Node* n = new Node{value, nullptr};
    if (head == NULL) { head = n; return; }
    Node* p = head;
    while (p->next != NULL) p = p->next;
    p->next = n;
}

int length(const Node* head) {
    int len = 0;
    for (const Node* p = head; p; p = p->next) ++len;
    return len;
}

void print(Node* head) {
    while (head) {
        cout << head->data;
        if (head->next) cout << " -> ";
        head = head->next;
    }
    cout << endl;
}

Node* reverse(Node* head) {
    Node *prev = nullptr, *cur = head;
    while (cur != nullptr) {
        Node* next = cur->next;
        cur->next = prev;
        prev = cur;
        cur = next;
    }
    return prev;
}

bool removeValue(Node*& head, int value) {
    Node* prev = nullptr;
    for (Node* p = head; p; prev = p, p = p->next) {
        if (p->data == value) {
            if (prev) prev->next = p->next;
            else head = p->next;
            delete p;
            return true;
        }
    }
    return false;
}

void freeAll(Node* head) {
    if (!head) return;
    freeAll(head->next);
    delete head;
}

int main() {
    Node* list = nullptr;
    for (int i = 1; i <= 4; i++) list = push(list, i * i);
    append(list, 100);
    print(list);
    list = reverse(list);
    print(list);
    cout << boolalpha << removeValue(list, 100) << ' ' << removeValue(list, 5) << endl;
    print(list);
    cout << "length " << length(list) << endl;
    int sum = 0, *best = nullptr;
    for (Node* p = list; p != nullptr; p = p->next) {
        sum += p->data;
        if (!best || p->data > *best) best = &p->data;
    }
    cout << "sum " << sum << " max " << *best << endl;
    freeAll(list);
    return 0;
}
