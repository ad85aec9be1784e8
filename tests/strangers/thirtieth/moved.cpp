#include <iostream>
#include <memory>
#include <string>
#include <utility>
#include <vector>

struct Tool {
    std::string name;
    int uses = 0;
    explicit Tool(std::string n) : name(std::move(n)) {}
};

struct Node {
    int value;
    std::unique_ptr<Node> next;
    explicit Node(int v) : value(v) {}
};

void keep(std::unique_ptr<Tool> tool) {
    std::cout << "kept " << tool->name << '\n';
}

std::unique_ptr<Tool> make(const std::string& name) {
    auto tool = std::make_unique<Tool>(name);
    tool->uses = 3;
    return tool;
}

int main() {
    auto rake = make("rake");
    std::unique_ptr<Tool> other = std::move(rake);
    std::cout << std::boolalpha << (rake == nullptr) << ' ' << other->name << other->uses << '\n';
    keep(std::move(other));
    if (!other) std::cout << "gone\n";
    std::string text = "beans", copy = std::move(text);
    std::cout << copy << text.empty() << '\n';
    std::vector<int> many{1, 2, 3}, all;
    all = std::move(many);
    std::cout << all.size() << many.size() << '\n';
    auto head = std::make_unique<Node>(1);
    head->next = std::make_unique<Node>(2);
    head->next->next = std::make_unique<Node>(3);
    for (Node* at = head.get(); at; at = at->next.get()) std::cout << at->value << ' ';
    auto rest = std::move(head->next);
    std::cout << (head->next == nullptr) << rest->value << '\n';
    std::vector<std::unique_ptr<Tool>> shed;
    auto hoe = make("hoe");
    shed.push_back(std::move(hoe));
    shed.push_back(make("fork"));
    std::cout << (hoe ? "has" : "none") << shed.size() << shed[1]->name << '\n';
    std::string line;
    std::vector<std::string> lines;
    for (char c : std::string("ab,cd,e")) {
        if (c == ',') {
            lines.push_back(std::move(line));
            line.clear();
        } else {
            line += c;
        }
    }
    lines.push_back(line);
    for (const auto& one : lines) std::cout << one << ';';
    std::cout << '\n';
}
