#include <iostream>
struct Node { int value; Node* next; };
void push(Node** head, int value) { Node* n = new Node; n->value = value; n->next = *head; *head = n; }
void insertEnd(Node** head, int v) { Node* n = new Node{v, nullptr}; if (*head == nullptr) { *head = n; return; } Node* last = *head; while (last->next != nullptr) last = last->next; last->next = n; }
void deleteNode(Node** head, int key) { Node* temp = *head; Node* prev = nullptr; if (temp != nullptr && temp->value == key) { *head = temp->next; delete temp; return; } while (temp != nullptr && temp->value != key) { prev = temp; temp = temp->next; } if (temp == nullptr) return; prev->next = temp->next; delete temp; }
void print(Node* n) { while (n != nullptr) { std::cout << n->value << " "; n = n->next; } std::cout << std::endl; }
int main() { Node* head = nullptr; push(&head, 1); push(&head, 2); insertEnd(&head, 5); print(head); deleteNode(&head, 1); deleteNode(&head, 2); deleteNode(&head, 77); print(head); }
