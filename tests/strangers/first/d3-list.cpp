#include <iostream>
using namespace std;

struct Node {
    int value;
    Node* next;
};

class List {
    Node* head = nullptr;
    int count = 0;
public:
    void add(int value) {
        Node* node = new Node{value, nullptr};
        count++;
        if (head == nullptr) { head = node; return; }
        Node* at = head;
        while (at->next != nullptr) at = at->next;
        at->next = node;
    }
    bool remove(int value) {
        Node* previous = nullptr;
        for (Node* at = head; at != nullptr; previous = at, at = at->next) {
            if (at->value == value) {
                if (previous == nullptr) head = at->next;
                else previous->next = at->next;
                delete at;
                count--;
                return true;
            }
        }
        return false;
    }
    void print() const {
        for (Node* at = head; at; at = at->next) cout << at->value << (at->next ? " -> " : "\n");
    }
    int size() const { return count; }
    ~List() {
        while (head) { Node* next = head->next; delete head; head = next; }
    }
};

int main() {
    List l;
    for (int i = 0; i < 5; i++) l.add(i * i);
    l.print();
    cout << l.remove(4) << l.remove(5) << " " << l.size() << endl;
    l.print();
}
