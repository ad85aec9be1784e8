#include <iostream>
using namespace std;

struct Node {
    int data;
    Node* next;
    Node(int d) : data(d), next(nullptr) {}
};

class LinkedList {
private:
    Node* head;
    int size;
public:
    LinkedList() {
        head = NULL;
        size = 0;
    }
    void add(int value) {
        Node* n = new Node(value);
        if (head == nullptr) {
            head = n;
        } else {
            Node* cur = head;
            while (cur->next != nullptr) cur = cur->next;
            cur->next = n;
        }
        size++;
    }
    bool remove(int value) {
        Node* prev = nullptr;
        for (Node* cur = head; cur; prev = cur, cur = cur->next) {
            if (cur->data == value) {
                if (prev) prev->next = cur->next;
                else head = cur->next;
                delete cur;
                size--;
                return true;
            }
        }
        return false;
    }
    void reverse() {
        Node *prev = nullptr, *cur = head;
        while (cur) {
            Node* next = cur->next;
            cur->next = prev;
            prev = cur;
            cur = next;
        }
        head = prev;
    }
    void print() const {
        for (Node* n = head; n != nullptr; n = n->next) cout << n->data << (n->next ? " -> " : "\n");
    }
    int length() { return size; }
};

int main() {
    LinkedList l;
    for (int i = 1; i <= 5; ++i) l.add(i * i);
    l.print();
    cout << l.remove(9) << l.remove(7) << " " << l.length() << endl;
    l.reverse();
    l.print();
    int x = 5;
    int* p = &x;
    *p += 3;
    cout << x << " " << *p << endl;
    int& ref = x;
    ref = 1;
    cout << x << endl;
}
