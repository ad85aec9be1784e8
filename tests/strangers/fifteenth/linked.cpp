#include <iostream>
#include <string>
using namespace std;

struct Node {
    int value;
    Node* next;
    Node(int v) : value(v), next(nullptr) {}
};

class LinkedList {
private:
    Node* head;
    int size;
public:
    LinkedList() : head(nullptr), size(0) {}
    ~LinkedList() {
        while (head != nullptr) {
            Node* old = head;
            head = head->next;
            delete old;
        }
    }
    void pushFront(int v) {
        Node* n = new Node(v);
        n->next = head;
        head = n;
        size++;
    }
    void pushBack(int v) {
        Node* n = new Node(v);
        if (!head) {
            head = n;
        } else {
            Node* cur = head;
            while (cur->next) cur = cur->next;
            cur->next = n;
        }
        ++size;
    }
    bool remove(int v) {
        Node* prev = nullptr;
        for (Node* cur = head; cur; prev = cur, cur = cur->next) {
            if (cur->value == v) {
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
    int length() const { return size; }
    void print() const {
        for (Node* cur = head; cur != nullptr; cur = cur->next) {
            cout << cur->value;
            if (cur->next) cout << " -> ";
        }
        cout << endl;
    }
};

int main() {
    LinkedList list;
    for (int i = 1; i <= 5; i++) {
        if (i % 2) list.pushBack(i * 10);
        else list.pushFront(i * 10);
    }
    list.print();
    list.reverse();
    list.print();
    cout << boolalpha << list.remove(30) << " " << list.remove(99) << endl;
    list.print();
    cout << "length " << list.length() << endl;
    return 0;
}
